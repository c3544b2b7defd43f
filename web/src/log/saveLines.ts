/** Fetches a file of lines, says how many have come, and saves it. */
export async function saveLines(url: string, name: string, onFar: (lines: number) => void): Promise<void> {
  const answer = await fetch(url);
  if (!answer.ok || !answer.body) {
    throw new Error(`${answer.status}`);
  }
  const parts: Uint8Array<ArrayBuffer>[] = [];
  let lines = 0;
  const reader = answer.body.getReader();
  for (let read = await reader.read(); !read.done; read = await reader.read()) {
    parts.push(read.value);
    lines += countLines(read.value);
    onFar(lines);
  }
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob(parts));
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}

export function countLines(bytes: Uint8Array): number {
  let lines = 0;
  for (const byte of bytes) {
    lines += byte === 10 ? 1 : 0;
  }
  return lines;
}
