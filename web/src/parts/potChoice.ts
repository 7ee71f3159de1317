export interface PotChoice {
  id: string;
  name: string;
  hex: string;
  /** a word or two more, such as the kind */
  hint?: string;
}

export interface PotPickerProps {
  label: string;
  choices: PotChoice[];
  chosen: string;
  onChoose: (id: string) => void;
}
