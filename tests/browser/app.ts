import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';

const program = resolve(import.meta.dirname, '../../artifacts/bin/AshNotch.App/release/AshNotch.App.dll');

/** A running application on a data directory of its own. */
export class App {
  url = '';
  readonly data = mkdtempSync(join(tmpdir(), 'ash-notch-browser-'));
  private process: ChildProcess | undefined;

  constructor(private readonly verb: 'demo' | 'serve') {}

  /** What it said when it started. */
  said = '';

  /** Starts it on a port, on any free one, or, with null, on the one it takes by itself. */
  start(port: number | null = 0): Promise<void> {
    return new Promise((done, failed) => {
      const on = port === null ? [] : ['--port', String(port)];
      // The demo chooses its own directory, under the home it is given.
      const data = this.verb === 'demo' ? [] : ['--data', this.data];
      const started = spawn('dotnet', [program, this.verb, ...data, ...on], {
        stdio: ['ignore', 'ignore', 'pipe'],
        // A program that serves for a minute is over before what it compiles twice has paid.
        env: { DOTNET_TC_CallCountingDelayMs: '1000', ...process.env, XDG_DATA_HOME: this.data },
      });
      this.process = started;
      this.said = '';
      started.stderr.on('data', (text: Buffer) => {
        this.said += text.toString();
        const address = /http:\/\/127\.0\.0\.1:\d+/.exec(this.said);
        if (!address) return;
        this.url = address[0];
        done();
      });
      started.on('exit', (code) => failed(new Error(`the application ended with ${code}: ${this.said}`)));
    });
  }

  /** Ends it without any warning, as a crash does. */
  kill(): Promise<void> {
    return new Promise((done) => {
      if (!this.process || this.process.exitCode !== null) return done();
      this.process.removeAllListeners('exit');
      this.process.on('exit', () => done());
      this.process.kill('SIGKILL');
    });
  }

  /** Puts the demo back to how it ships. */
  async asItCame() {
    const answer = await fetch(`${this.url}/api/demo/reset`, {
      method: 'POST',
      headers: { origin: this.url },
    });
    if (!answer.ok) throw new Error(`the demo was not put back: ${answer.status} ${await answer.text()}`);
  }

  async end() {
    await this.kill();
    rmSync(this.data, { recursive: true, force: true });
  }
}
