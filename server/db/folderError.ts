/** Something about the shop's data folder that a person has to put right. */
export class DataFolderError extends Error {}
