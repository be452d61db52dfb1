/** Storage said no; the message is for the log, not for a person. */
export class StorageError extends Error {
	override name = 'StorageError';
}

/** The file can't be used as it is; the message is for the person who started the program. */
export class UnusableDatabase extends StorageError {
	override name = 'UnusableDatabase';
}

/** A row that must be there is not. */
export class NotFound extends StorageError {
	override name = 'NotFound';
}

/** A row holds what no program of ours wrote there. */
export class DamagedRow extends StorageError {
	override name = 'DamagedRow';
}
