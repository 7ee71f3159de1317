export function missingPackage(folder: string): string | null;
export function nativeProblem(folder: string): string | null;
