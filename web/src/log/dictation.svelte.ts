/** Plays a retelling word by word, as a phone's dictation writes it: to see how the line takes it, and to try it without a microphone. */
export class Dictation {
  playing = $state(false);
  private timer: ReturnType<typeof setInterval> | undefined;

  /**
   * Plays it from the start.
   * @param text What is said.
   * @param hear Takes all that was said so far, after each word.
   * @param wordsPerMinute How fast; people talk at 150 to 180.
   */
  play(text: string, hear: (soFar: string) => void, wordsPerMinute = 170) {
    this.stop();
    const words = text.split(/\s+/);
    let said = 0;
    this.playing = true;
    this.timer = setInterval(() => {
      hear(words.slice(0, ++said).join(' '));
      if (said >= words.length) this.stop();
    }, 60_000 / wordsPerMinute);
  }

  stop() {
    clearInterval(this.timer);
    this.playing = false;
  }
}
