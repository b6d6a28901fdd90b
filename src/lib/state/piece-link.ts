/** A piece's id as it may stand in an address: names of parts may have letters that no address has. */
export const pieceInLink = (id: string): string => id.replace(/[^\w-]/g, '_').slice(0, 80);

/** Where a piece's code leads: to the piece as it lies on its board. @example pieceLink('w1', 'h1-face-1') */
export const pieceLink = (wall: string, piece: string): string => `/walls/${wall}/cut?piece=${pieceInLink(piece)}`;
