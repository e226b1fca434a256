export const DATABASE_NAME = 'remedium.db'
