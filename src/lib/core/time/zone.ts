/** Whether a name is that of a time zone, as this machine knows them. */
export function isZone(name: string): boolean {
	try {
		return new Intl.DateTimeFormat('en-GB', { timeZone: name }).resolvedOptions().timeZone !== '';
	} catch (error) {
		if (error instanceof RangeError) return false;
		throw error;
	}
}
