export { CheckInput } from './CheckInput.tsx';
export { FILE_BUTTON, FileField, Problems } from './FileField.tsx';
export { NumberInput } from './NumberInput.tsx';
export { SelectInput } from './SelectInput.tsx';
export { SendButton } from './SendButton.tsx';
export { TypedInput } from './TypedInput.tsx';
export { TypedLines } from './TypedLines.tsx';
export { DraftNote, useDraft, useKept, withDraft } from './draft.tsx';
export {
  Check,
  Choices,
  FieldError,
  NumberField,
  type Option,
  SelectField,
  TextField,
  toNumber,
} from './fields.tsx';
export { problemsOf, showErrors } from './formErrors.ts';
