import { describe, expect, it } from 'vitest';
import { DamagedRow } from './errors';
import { failureOf } from './failures';

const of = (code: string) => failureOf(Object.assign(new Error(code), { code }));

describe('what an error of storage is', () => {
	it.each([
		['SQLITE_FULL', 'full'],
		['ENOSPC', 'full'],
		['SQLITE_READONLY', 'read-only'],
		['SQLITE_READONLY_DBMOVED', 'read-only'],
		['SQLITE_IOERR_WRITE', 'read-only'],
		['SQLITE_IOERR_READ', 'damaged'],
		['SQLITE_CORRUPT', 'damaged'],
		['SQLITE_BUSY_SNAPSHOT', 'busy'],
		['SQLITE_CONSTRAINT', undefined],
		['', undefined]
	])('%s is %s', (code, failure) => expect(of(code)).toBe(failure));

	it('a row that can’t be read is told as such, and what is no error is nothing', () => {
		expect(failureOf(new DamagedRow('x'))).toBe('unreadable-row');
		expect(failureOf('SQLITE_FULL')).toBeUndefined();
	});
});
