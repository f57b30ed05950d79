import { keys } from '../base/keys';

/** A local film beside the log. It stays in this tab: it is neither sent nor copied, and nothing of it is kept. */
export class Film {
  url = $state<string | null>(null);
  name = $state('');
  /** Seconds since the film began. */
  time = $state(0);
  paused = $state(true);
  slow = $state(false);
  /** Where in the film the roll begins, in seconds. */
  start = $state(0);
  failed = $state('');
  /** How long the film is, in seconds; 0 while that is not known. */
  length = $state(0);
  video = $state<HTMLVideoElement>();

  open(file: File) {
    this.close();
    this.url = URL.createObjectURL(file);
    this.name = file.name;
  }

  close() {
    if (this.url) URL.revokeObjectURL(this.url);
    this.url = null;
    this.failed = '';
    this.time = this.start = 0;
    this.slow = false;
  }

  /** Seconds since the roll began, as last shown; null without a film. */
  get at() {
    return this.url ? Math.max(0, Math.floor(this.time - this.start)) : null;
  }

  /** Seconds since the roll began at this very moment: what is shown lags behind a jump. */
  now() {
    this.time = this.video?.currentTime ?? this.time;
    return this.at;
  }

  beginHere = () => {
    this.now();
    this.start = this.start ? 0 : this.time;
  };

  play = () => {
    if (!this.video) return;
    if (this.video.paused) void this.video.play().catch(() => (this.failed = 'The film does not play here.'));
    else this.video.pause();
  };

  slower = () => {
    this.slow = !this.slow;
    if (this.video) this.video.playbackRate = this.slow ? 0.5 : 1;
  };

  /** Goes on or back by some seconds. */
  by(seconds: number) {
    if (this.video)
      this.video.currentTime = Math.max(
        0,
        Math.min(this.video.duration || 0, this.video.currentTime + seconds),
      );
  }

  /** Goes to a time of the film. */
  seek = (seconds: number) => {
    if (this.video) this.video.currentTime = seconds;
  };

  /** Goes to a time of the roll. */
  to = (seconds: number) => {
    if (this.video) this.video.currentTime = this.start + seconds;
  };

  /** Answers a key; false when it is no key of the film. */
  key(event: KeyboardEvent) {
    if (!this.url) return false;
    if (keys.play.is(event)) this.play();
    else if (keys.slow.is(event)) this.slower();
    else if (keys.farBack.is(event)) this.by(-5);
    else if (keys.farOn.is(event)) this.by(5);
    else if (keys.back.is(event)) this.by(-1);
    else if (keys.on.is(event)) this.by(1);
    else return false;
    return true;
  }
}
