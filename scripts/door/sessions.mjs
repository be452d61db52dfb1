// Who may in, where there is a passphrase: sessions signed by a key made of it, and waits for those who guess.
import { createHash, createHmac, randomBytes, scryptSync, timingSafeEqual } from 'node:crypto';
import { readFileSync, writeFileSync } from 'node:fs';

const day_ms = 24 * 3600 * 1000;
/** A session that nobody used for so long is over. */
export const idle_ms = 30 * day_ms;
/** One that is used is written anew once a day. */
const renew_ms = day_ms;
export const sessionCookie = 'ashdrift_session';

const secretBytes = 32;
const codeAt = (/** @type {unknown} */ error) =>
	error instanceof Error && 'code' in error ? error.code : undefined;

/**
 * A secret of this machine, made once: it lies beside the books, in none of their copies.
 * @param {string} path
 * @returns {Buffer}
 */
export function secretAt(path) {
	try {
		const kept = readFileSync(path);
		if (kept.length === secretBytes) return kept;
	} catch (error) {
		if (codeAt(error) !== 'ENOENT') throw error;
	}
	const made = randomBytes(secretBytes);
	writeFileSync(path, made, { mode: 0o600 });
	return made;
}

const digest = (/** @type {string} */ text) => createHash('sha256').update(text).digest();
/** In constant time. @param {string} one @param {string} other */
const isSame = (one, other) => timingSafeEqual(digest(one), digest(other));

/**
 * Sessions of a passphrase: another one, or another secret, ends all of them.
 * @param {{ passphrase: string, secret: Buffer, now?: () => number }} of
 */
export function openSessions({ passphrase, secret, now = Date.now }) {
	const key = scryptSync(passphrase, secret, 32);
	const sign = (/** @type {string} */ text) =>
		createHmac('sha256', key).update(text).digest('base64url');
	const written = () => {
		const text = `${now().toString(36)}.${randomBytes(12).toString('base64url')}`;
		return `${text}.${sign(text)}`;
	};
	return {
		begin: written,
		/**
		 * @param {string | undefined} cookie
		 * @returns {{ ok: boolean, renewed?: string }}
		 */
		look(cookie) {
			const [at = '', nonce = '', signed = ''] = (cookie ?? '').split('.');
			if (!isSame(signed, sign(`${at}.${nonce}`))) return { ok: false };
			const age_ms = now() - Number.parseInt(at, 36);
			if (!(age_ms < idle_ms)) return { ok: false };
			return age_ms > renew_ms ? { ok: true, renewed: written() } : { ok: true };
		},
		/** @param {string} said */
		isPassphrase: (said) => isSame(said, passphrase)
	};
}

/** So many may be wrong before anybody has to wait, and nobody waits for longer. */
const freeTries = 5;
const longestWait_ms = 15 * 60 * 1000;
/** An address that was quiet for so long begins anew. */
const forgotten_ms = 60 * 60 * 1000;
const mostAddresses = 10_000;

/**
 * Wrong passphrases by address: after five each one doubles the wait.
 * @param {{ now?: () => number }} [of]
 */
export function openWaits({ now = Date.now } = {}) {
	/** @type {Map<string, { wrong: number, at_ms: number }>} */
	const addresses = new Map();
	const waitOf = (/** @type {number} */ wrong) =>
		wrong < freeTries ? 0 : Math.min(longestWait_ms, 1000 * 2 ** (wrong - freeTries));
	return {
		/** @param {string} from @returns {number} how long it still has to wait, ms */
		left(from) {
			const known = addresses.get(from);
			return known ? Math.max(0, known.at_ms + waitOf(known.wrong) - now()) : 0;
		},
		/** @param {string} from @returns {number} how many were wrong by now */
		wrong(from) {
			const known = addresses.get(from);
			const isFresh = known !== undefined && now() - known.at_ms < forgotten_ms;
			const wrong = (isFresh ? known.wrong : 0) + 1;
			addresses.delete(from);
			addresses.set(from, { wrong, at_ms: now() });
			const [eldest] = addresses.keys();
			if (addresses.size > mostAddresses && eldest !== undefined) addresses.delete(eldest);
			return wrong;
		},
		/** @param {string} from */
		right(from) {
			addresses.delete(from);
		}
	};
}
