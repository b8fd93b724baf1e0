// How text is put together, for every screen: large first letters, counted words, lists, time left.

/** With a large first letter; nothing of what is not known. */
export function capital(text = ''): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** `1 bag`, `3 bags`; `many` where an s will not do. */
export function plural(n: number, word: string, many = `${word}s`): string {
  return `${n} ${n === 1 ? word : many}`;
}

/** `04:10`, `1:12 h` beyond an hour, `2 d 2 h` beyond a day. */
export function countdown(ms: number): string {
  const seconds = Math.max(0, Math.ceil(ms / 1000));
  const [minutes, rest] = [Math.floor(seconds / 60), seconds % 60];
  if (minutes >= 24 * 60) return `${Math.floor(minutes / 1440)} d ${Math.floor((minutes % 1440) / 60)} h`;
  return minutes >= 60
    ? `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')} h`
    : `${String(minutes).padStart(2, '0')}:${String(rest).padStart(2, '0')}`;
}
