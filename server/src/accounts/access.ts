import type { RequestHandler } from 'express';
import type { Store } from '../store/index.ts';
import { accessControl } from './accessControl.ts';
import { Accounts } from './accounts.ts';
import { asHomeowner } from './asHomeowner.ts';
import { Attempts } from './attempts.ts';
import { Audit } from './audit.ts';
import { newSetupCode } from './secrets.ts';
import { MeterTokens } from './meterTokens.ts';
import { VisitOwners, visitOfStep } from './visitOwners.ts';
import { ApiError, type Asker, type WorkDone } from '../http/index.ts';
import * as messages from './messages.ts';
import { ShareLinks } from './shareLinks.ts';

/** How often it is looked whether a session ended by itself. */
const SESSION_LOOK_MS = 5000;

/** All that decides who may do what at a record. */
export class Access {
  readonly accounts: Accounts;
  readonly attempts = new Attempts();
  readonly audit: Audit;
  readonly links: ShareLinks;
  readonly meters: MeterTokens;
  readonly visits: VisitOwners;
  /** Stands before every route. */
  readonly admit: ReturnType<typeof accessControl>;
  /** With it the first account is made; `null`: there is one, or accounts are off. */
  setupCode: string | null = null;
  private isUsed = false;
  private look: NodeJS.Timeout | null = null;

  constructor(store: Store, onTrouble: (error: unknown) => void = () => undefined) {
    this.accounts = new Accounts(store);
    this.audit = new Audit(store, onTrouble);
    this.links = new ShareLinks(store);
    this.meters = new MeterTokens(store);
    this.visits = new VisitOwners(store);
    this.admit = accessControl(this.accounts, this.meters, this.isOn);
  }

  /**
   * Look whether accounts are on: because they are asked for, or because there is one.
   *
   * @param isAskedFor whether they are on without any account, too
   */
  async start(isAskedFor: boolean): Promise<void> {
    const hasAny = await this.accounts.hasAny();
    this.isUsed = isAskedFor || hasAny;
    this.setupCode = this.isUsed && !hasAny ? newSetupCode() : null;
    if (!this.isUsed || this.look) return;
    // A record that cannot be read just now is read the next time.
    this.look = setInterval(() => void this.accounts.endOrphans().catch(() => undefined), SESSION_LOOK_MS);
    this.look.unref();
  }

  stop(): void {
    if (this.look) clearInterval(this.look);
    this.look = null;
  }

  /** Whether accounts are on. */
  readonly isOn = (): boolean => this.isUsed;

  /** What a viewer sends is a homeowner’s. Stands behind what reads bodies. */
  readonly restrict: RequestHandler = (request, response, next) => {
    if (response.locals.isHomeowner === true) request.body = asHomeowner(request.body);
    next();
  };

  /** A step of a visit is taken from whoever works on it only. Stands behind what reads bodies. */
  readonly keepVisitApart: RequestHandler = async (request, response, next) => {
    const asker = response.locals.asker as Asker | null | undefined;
    const visitId = asker && request.method === 'POST' ? visitOfStep(request.body) : null;
    const owner = visitId === null ? null : await this.visits.of(visitId);
    if (owner && owner.id !== asker?.id)
      throw new ApiError(403, 'visit_of_another', messages.thisVisitIsOf(owner.name));
    next();
  };

  /** Write down what was done; whoever did the first step of a visit works on it from now on. */
  async done(work: WorkDone): Promise<void> {
    const visitId = work.asker && work.route.method === 'post' ? visitOfStep(work.body) : null;
    if (work.asker && visitId !== null) await this.visits.claim(visitId, work.asker.id);
    await this.audit.note(work);
  }
}
