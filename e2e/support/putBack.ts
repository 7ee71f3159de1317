import BetterSqlite3 from 'better-sqlite3';
import { cpSync, readdirSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { startServer, type LedgerServer, type ServerOptions } from './ledgerServer';
import { copyOfLedger, isOpenFile } from './template';

/**
 * One server for all errands of a worker, whose data is put back before each of them: a start costs
 * more than most errands do. The server is the built one and knows nothing of it; the rows are put
 * back beside it in one transaction, as another process may write them.
 */
export class SharedServer {
  private server: LedgerServer | null = null;
  private template = '';
  private inode = 0;

  constructor(private readonly options: ServerOptions) {}

  /** The server, with its data as after the start. Another is started where an errand ended it. */
  async fresh(): Promise<LedgerServer> {
    if (this.server && !this.isUsable(this.server)) await this.stop();
    if (this.server) this.putBack(this.server);
    else await this.start();
    return this.server!;
  }

  async stop(): Promise<void> {
    await this.server?.stop();
    this.server = null;
  }

  private async start(): Promise<void> {
    this.server = await startServer(this.options);
    const { dataFolder, databaseFile } = this.server;
    this.inode = statSync(databaseFile).ino;
    this.template = copyOfLedger(dataFolder, databaseFile);
  }

  /** Not one that was ended, nor one whose file a backup has replaced. */
  private isUsable(server: LedgerServer): boolean {
    if (!server.isRunning()) return false;
    try {
      return statSync(server.databaseFile).ino === this.inode;
    } catch {
      return false;
    }
  }

  private putBack({ dataFolder, databaseFile }: LedgerServer): void {
    for (const name of readdirSync(dataFolder))
      if (!isOpenFile(name)) rmSync(join(dataFolder, name), { recursive: true });
    for (const name of readdirSync(this.template))
      if (name !== 'ledger.copy')
        cpSync(join(this.template, name), join(dataFolder, name), { recursive: true });
    const db = new BetterSqlite3(databaseFile, { timeout: 60_000 });
    db.pragma('foreign_keys = off');
    db.prepare('attach ? as template').run(join(this.template, 'ledger.copy'));
    const named = (type: string, of = 'main') =>
      db
        .prepare<[string], { name: string; sql: string }>(
          `select name, sql from ${of}.sqlite_master where type = ? and name not like 'sqlite_%'`,
        )
        .all(type);
    db.transaction(() => {
      // Triggers note every change; what is put back is none.
      const triggers = named('trigger');
      for (const { name } of triggers) db.exec(`drop trigger "${name}"`);
      for (const { name } of named('table')) {
        db.exec(`delete from main."${name}"`);
        db.exec(`insert into main."${name}" select * from template."${name}"`);
      }
      db.exec('delete from main.sqlite_sequence');
      db.exec('insert into main.sqlite_sequence select * from template.sqlite_sequence');
      for (const { sql } of triggers) db.exec(sql);
    }).immediate();
    db.close();
  }
}
