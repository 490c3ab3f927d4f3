import type { AddressInfo } from 'node:net';
import { connect, createServer, type Server, type Socket } from 'node:net';

/** The network between a browser and the server, which can be cut: for pages, their workers and streams alike. */
export class Cable {
  private readonly sockets = new Set<Socket>();
  private isCut = false;

  private constructor(
    private readonly server: Server,
    readonly base: string,
  ) {}

  static async to(base: string): Promise<Cable> {
    const target = new URL(base);
    const server = createServer((near) => {
      if (cable.isCut) {
        near.destroy();
        return;
      }
      const far = connect(Number(target.port), target.hostname);
      for (const [one, other] of [
        [near, far],
        [far, near],
      ] as const) {
        cable.sockets.add(one);
        one.on('error', () => other.destroy());
        one.on('close', () => {
          cable.sockets.delete(one);
          other.destroy();
        });
        one.pipe(other);
      }
    });
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
    const cable = new Cable(server, `http://127.0.0.1:${(server.address() as AddressInfo).port}`);
    return cable;
  }

  cut(): void {
    this.isCut = true;
    for (const socket of this.sockets) socket.destroy();
  }

  mend(): void {
    this.isCut = false;
  }

  close(): void {
    this.cut();
    this.server.close();
  }
}
