/** Hands a text to the browser as a file to be kept. The name is made one any file system takes. */
export function saveText(text: string, name: string, type: string): void {
  const address = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name.replace(/[\\/:*?"<>|\u0000-\u001f]+/g, '-').slice(-100);
  link.click();
  // The browser has taken hold of it by the next turn.
  setTimeout(() => URL.revokeObjectURL(address), 10_000);
}
