export type KeyOf<T> = Extract<keyof T, string>
