import { LineField } from './LineField';

export interface NameFieldProps {
  label: string;
  name: string;
  /** called on leaving the field, with another name that is right */
  onName: (name: string) => void;
}

/** A name, which is never empty. */
export const NameField = ({ label, name, onName }: NameFieldProps) => (
  <LineField label={label} value={name} className="name-field" onLine={onName} />
);
