/** What the id of anything that is kept looks like, in an address and in the database. */
export const ID_PATTERN = /^[a-z0-9]{8,40}$/;
