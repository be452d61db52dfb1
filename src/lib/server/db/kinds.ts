import { accounts, substances } from '../../core/ledger';
import type { Db } from './open';

/** The program's own tables of accounts and substances, for the ledger to refer to. */
export function nameKinds(db: Db): void {
	const has = db.prepare("SELECT 1 FROM sqlite_master WHERE name = 'substance'").get();
	if (!has) return;
	for (const { id } of accounts) db.prepare('INSERT OR IGNORE INTO account VALUES (?)').run(id);
	for (const name of substances) db.prepare('INSERT OR IGNORE INTO substance VALUES (?)').run(name);
}
