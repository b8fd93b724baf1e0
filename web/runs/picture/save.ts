// Offers something as a file.

export function saveBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name.replace(/[^\w .-]+/g, '-');
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
