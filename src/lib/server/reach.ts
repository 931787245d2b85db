/** Whether an address to listen on is reached from this machine alone. */
export const isLoopback = (host: string): boolean => /^(127(\.\d{1,3}){3}|localhost|::1|\[::1\])$/.test(host)
