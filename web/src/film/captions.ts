/** Whether a text looks like captions of a film or a dictation. */
export const isCaptions = (text: string) =>
  /^\uFEFF?WEBVTT/.test(text) || /^\s*(\d{1,3}:)?\d{1,2}:\d{2}[.,]\d{3}\s+-->/m.test(text.slice(0, 400));

const largest = 5_000_000;

/** The text of a caption file: UTF-8, or what older tools write where it is not. */
export async function captionsIn(file: File) {
  if (file.size > largest)
    throw new Error(`${file.name} is too large for captions; choose its .srt or .vtt file.`);
  const bytes = await file.arrayBuffer();
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}
