export function screenFiles(): string[];
export function stringsOf(file: string, source?: string): { text: string; line: number }[];
