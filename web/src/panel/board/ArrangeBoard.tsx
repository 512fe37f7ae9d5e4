import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  pointerWithin,
  rectIntersection,
  TouchSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
  type Announcements,
  type CollisionDetection,
  type KeyboardCoordinateGetter,
} from '@dnd-kit/core';
import type { Board as BoardData } from '@phylaxon/core/views/board';
import { GripVertical } from 'lucide-react';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { drawing } from '../../shared/api/index.ts';
import { CheckInput, classes, placeText, sayError } from '../../shared/ui/index.ts';
import { sendNow } from '../../shared/stores/index.ts';
import { shutOffs } from './PanelBoard.tsx';
import { BoardFrame } from './BoardFrame.tsx';
import { BreakerCell, cellName } from './BreakerCell.tsx';
import {
  cellLook,
  boardGrid,
  boardItems,
  neighbour,
  type BoardItem,
  planMove,
  type PlannedMove,
} from '../boardLayout/index.ts';
import { OpenSpace } from './OpenSpace.tsx';
import * as messages from './messages.ts';

/** Under the pointer; when keys move it, where it overlaps most. */
const collisions: CollisionDetection = (args) => {
  const under = pointerWithin(args);
  return under.length > 0 ? under : rectIntersection(args);
};

const sayPlan = (plan: PlannedMove | null) => {
  if (!plan) return messages.backInItsOldSpace;
  if (plan.problem) return messages.not(plan.place, plan.problem);
  return plan.exchangedFor ? messages.toSwappingWithTheBreakerThere(plan.place) : messages.to(plan.place);
};

/**
 * The board with breakers that can be taken up and put elsewhere, by pointer, finger or keyboard: Space takes
 * one up, arrow keys carry it, Space puts it down, Escape leaves it where it was.
 */
export default function ArrangeBoard({ board }: { board: BoardData }) {
  const items = boardItems(board);
  const grid = boardGrid(board);
  const shutsOff = shutOffs(board);
  const [carried, setCarried] = useState<string | null>(null);
  const [over, setOver] = useState<string | null>(null);
  const [told, setTold] = useState<string | null>(null);
  const [isOnlyPlanned, setOnlyPlanned] = useState(false);
  const navigate = useNavigate();
  const itemOf = (key: string | number | undefined) => items.find((item) => item.key === key);
  const planFor = (from: string | number, to: string | number | undefined) => {
    const [dragged, target] = [itemOf(from)?.entry, itemOf(to)];
    return dragged && target ? planMove(board, dragged, target) : null;
  };

  /** Where the keys carry it; what overlaps most would be a guess while the board is laid out anew. */
  const aim = useRef<string | null>(null);
  const aimed: CollisionDetection = (args) =>
    args.pointerCoordinates === null && aim.current !== null ? [{ id: aim.current }] : collisions(args);

  const carryByKey: KeyboardCoordinateGetter = (event, { context, currentCoordinates }) => {
    const from = itemOf(context.over?.id ?? context.active?.id);
    const next = from && neighbour(board.panel, items, from, event.code);
    const rect = next && context.droppableRects.get(next.key);
    if (!rect) return currentCoordinates;
    event.preventDefault();
    aim.current = next.key;
    return { x: rect.left + 4, y: rect.top + 4 };
  };
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 200, tolerance: 8 } }),
    useSensor(KeyboardSensor, { coordinateGetter: carryByKey }),
  );

  const put = async (from: string, to: string | undefined) => {
    const plan = planFor(from, to);
    setCarried(null);
    setOver(null);
    if (!plan) return setTold(null);
    if (isOnlyPlanned) {
      // What is in the way is no hindrance to a plan: it moves first.
      await navigate(`/panels/${board.panel.id}/room?move=${from}&to=${plan.move.space}`);
      return;
    }
    if (plan.problem) return setTold(sayPlan(plan));
    try {
      await sendNow(drawing.moveBreaker(from, plan.move));
      setTold(messages.movedTo(plan.place));
    } catch (error) {
      setTold(sayError(error));
    }
  };

  const announcements: Announcements = {
    onDragStart: ({ active }) => messages.pickedUp(cellName(itemOf(active.id)!.entry!)),
    onDragOver: ({ active, over: target }) => sayPlan(planFor(active.id, target?.id)),
    onDragEnd: ({ active, over: target }) => `Dropped. ${sayPlan(planFor(active.id, target?.id))}`,
    onDragCancel: () => messages.leftInItsOldSpace,
  };
  const plan = carried && over ? planFor(carried, over) : null;

  return (
    <div className="on-enamel text-enamel-text">
      <p role="status" className="mb-2 min-h-11 border-l-4 border-heed-lit pl-3 text-sm">
        {carried
          ? isOnlyPlanned && plan
            ? messages.toAsAPlan(plan.place)
            : sayPlan(plan)
          : (told ?? messages.dragABreakerToAnotherSpace)}
      </p>
      <div className="mb-2 text-sm">
        <CheckInput
          label={messages.planOnlyNothingChangesYetAnd}
          checked={isOnlyPlanned}
          onChecked={setOnlyPlanned}
          isOnBoard
        />
      </div>
      <DndContext
        sensors={sensors}
        collisionDetection={aimed}
        accessibility={{
          announcements,
          screenReaderInstructions: {
            draggable: messages.pressSpaceToPickItUp,
          },
        }}
        onDragStart={({ active }) => {
          aim.current = null;
          setCarried(String(active.id));
        }}
        onDragOver={({ over: target }) => setOver(target ? String(target.id) : null)}
        onDragEnd={({ active, over: target }) =>
          void put(String(active.id), target ? String(target.id) : undefined)
        }
        onDragCancel={() => {
          setCarried(null);
          setOver(null);
        }}
      >
        <BoardFrame board={board} grid={grid} items={items}>
          {(item) => (
            <Place
              item={item}
              onSide={grid.onSide}
              shutsOff={item.entry !== null && shutsOff.has(item.entry.breaker.id)}
              verdict={
                item.key === over && carried !== item.key ? (plan?.problem ? 'refused' : 'allowed') : null
              }
            />
          )}
        </BoardFrame>
      </DndContext>
    </div>
  );
}

interface PlaceProps {
  item: BoardItem;
  onSide: boolean;
  shutsOff: boolean;
  verdict: 'allowed' | 'refused' | null;
}

/** One place of the board: something may be put on it, and what sits there may be taken up. */
function Place({ item, onSide, shutsOff, verdict }: PlaceProps) {
  const { setNodeRef: dropRef } = useDroppable({ id: item.key, disabled: item.space === null || item.echo });
  const look = classes(
    cellLook(item, false),
    verdict === 'allowed' && 'outline-3 outline-good-lit',
    verdict === 'refused' && 'outline-3 outline-danger-lit outline-dashed',
  );
  if (!item.entry || item.entry.breaker.space === null || item.echo) {
    return (
      <span ref={dropRef} className={look}>
        {item.entry ? (
          <BreakerCell entry={item.entry} mirrored={item.across === 1} onSide={onSide} shutsOff={shutsOff} />
        ) : (
          <OpenSpace item={item} onSide={onSide} />
        )}
      </span>
    );
  }
  return (
    <span ref={dropRef} className="flex flex-1">
      <Carried item={item} look={look} onSide={onSide} shutsOff={shutsOff} />
    </span>
  );
}

function Carried({ item, look, onSide, shutsOff }: Omit<PlaceProps, 'verdict'> & { look: string }) {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({ id: item.key });
  const entry = item.entry!;
  return (
    <button
      ref={setNodeRef}
      type="button"
      {...attributes}
      {...listeners}
      aria-label={`${placeText(entry.breaker)}, ${cellName(entry)}`}
      style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : undefined}
      className={classes(
        look,
        'w-full cursor-grab touch-none',
        isDragging && 'relative z-10 cursor-grabbing shadow-lg',
      )}
    >
      <GripVertical aria-hidden="true" className="size-4 shrink-0 text-enamel-soft" />
      <BreakerCell entry={entry} mirrored={item.across === 1} onSide={onSide} shutsOff={shutsOff} />
    </button>
  );
}
