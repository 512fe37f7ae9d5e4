import { FileUp } from 'lucide-react';
import { asButton, classes } from '../components/index.ts';

interface Props {
  label: string;
  accept: string;
  onFile: (file: File) => void;
}

/** The label around a file’s field, as a button. */
export const FILE_BUTTON = classes(
  asButton('quiet'),
  'cursor-pointer gap-2 has-focus-visible:outline-3 has-focus-visible:outline-heed',
);

/** A button that opens a file of this computer. */
export function FileField({ label, accept, onFile }: Props) {
  return (
    <label className={FILE_BUTTON}>
      <FileUp aria-hidden="true" className="size-5 shrink-0" />
      {label}
      <input
        type="file"
        accept={accept}
        className="sr-only"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file) onFile(file);
          event.target.value = '';
        }}
      />
    </label>
  );
}

/** Everything that is wrong with a file, line by line. */
export function Problems({ title, problems }: { title: string; problems: readonly string[] }) {
  if (problems.length === 0) return null;
  return (
    <div role="alert" className="border-l-4 border-danger pl-4">
      <p className="font-semibold text-danger">
        <span aria-hidden="true">✕ </span>
        {title}
      </p>
      <ul className="max-h-64 list-disc overflow-y-auto pl-5">
        {problems.map((problem, i) => (
          <li key={i} className="wrap-anywhere">
            {problem}
          </li>
        ))}
      </ul>
    </div>
  );
}
