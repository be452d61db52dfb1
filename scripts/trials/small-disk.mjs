// Before a server in a trial: its database may grow by so many pages and no more, as on a disk that is nearly full, or
// takes no writing at all.
import Database from 'better-sqlite3';

const pages = Number(process.env.ASHDRIFT_PAGES_LEFT ?? 0);
const isReadOnly = process.env.ASHDRIFT_TAKES_NOTHING === '1';
const pragma = Database.prototype.pragma;
Database.prototype.pragma = function (text, options) {
	const answer = pragma.call(this, text, options);
	// Once it has begun: what can't write at its start does not begin.
	if (text === 'synchronous = FULL' && isReadOnly)
		setTimeout(() => pragma.call(this, 'query_only = ON'), 2000).unref();
	if (text === 'synchronous = FULL' && pages > 0) {
		const now = pragma.call(this, 'page_count', { simple: true });
		pragma.call(this, `max_page_count = ${now + pages}`);
	}
	return answer;
};
