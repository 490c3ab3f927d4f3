import { type ChildProcess, spawn } from 'node:child_process';
import { rmSync } from 'node:fs';
import { setTimeout as pause } from 'node:timers/promises';
import { Redis } from 'ioredis';
import { freePort } from './ports.mjs';
import { quickFolder } from './quick-folder.mjs';

/** A throw-away Redis on loopback that keeps nothing, and can be killed and begun again at the same address. */
export class OwnRedis {
  private child: ChildProcess | undefined;

  private constructor(
    private readonly port: number,
    private readonly folder: string,
  ) {}

  static async begin(): Promise<OwnRedis> {
    const redis = new OwnRedis(await freePort(), quickFolder('redis'));
    await redis.start();
    return redis;
  }

  get url(): string {
    return `redis://127.0.0.1:${this.port}`;
  }

  async start(): Promise<void> {
    const args = ['--port', String(this.port), '--bind', '127.0.0.1', '--save', '', '--dir', this.folder];
    this.child = spawn('/usr/bin/redis-server', args, { stdio: 'ignore' });
    const asker = new Redis(this.url, { retryStrategy: () => 50, maxRetriesPerRequest: null });
    asker.on('error', () => undefined);
    await asker.ping();
    asker.disconnect();
  }

  async kill(): Promise<void> {
    const ended = new Promise((resolve) => this.child?.once('exit', resolve));
    this.child?.kill('SIGKILL');
    await ended;
    await pause(0);
  }

  async end(): Promise<void> {
    await this.kill();
    rmSync(this.folder, { recursive: true, force: true });
  }
}
