import path from 'node:path'

/** Where the data folder is: ZIMMERMAN_DATA, or `data` in the working folder. */
export const dataFolder = (): string => path.resolve(process.env.ZIMMERMAN_DATA || 'data')

export const databaseFile = (): string => path.join(dataFolder(), 'zimmerman.sqlite')
