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

  start(port = 0): Promise<void> {
    return new Promise((done, failed) => {
      const started = spawn('dotnet', [program, this.verb, '--data', this.data, '--port', String(port)], {
        stdio: ['ignore', 'ignore', 'pipe'],
      });
      this.process = started;
      let said = '';
      started.stderr.on('data', (text: Buffer) => {
        said += text.toString();
        const address = /http:\/\/127\.0\.0\.1:\d+/.exec(said);
        if (!address) return;
        this.url = address[0];
        done();
      });
      started.on('exit', (code) => failed(new Error(`the application ended with ${code}: ${said}`)));
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

  async end() {
    await this.kill();
    rmSync(this.data, { recursive: true, force: true });
  }
}
