/** Whether this browser was told something; a browser that keeps nothing is told again. */
export function readThere(key: string): boolean {
  try {
    return localStorage.getItem(key) !== null;
  } catch {
    return false;
  }
}

export function writeThere(key: string): void {
  try {
    localStorage.setItem(key, 'read');
  } catch {
    // It is told again another time.
  }
}
