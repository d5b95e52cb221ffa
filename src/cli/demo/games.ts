/** Games of the demo's children, score sheets as PGN, and where they held something. */
import type { Side } from '@/core/board';

export interface DemoGame {
  /** Whose it is. */
  readonly name: string;
  readonly side: Side;
  readonly pgn: string;
  /** Moves made before each place; the server finds again what was there. */
  readonly plies: readonly number[];
}

export const DEMO_GAMES: readonly DemoGame[] = [
  {
    name: 'Wren',
    side: 'black',
    pgn: `[White "Pip"] [Black "Wren"] [Event "Lantern class ladder"] [Date "2026.10.03"]
1. e4 e5 2. Nf3 Nc6 3. Bc4 Nd4 4. Nxe5 Qg5 5. Nxf7 Qxg2 6. Rf1 Qxe4+ 7. Be2 Nf3# 0-1`,
    plies: [8, 10, 11, 12, 13],
  },
  {
    name: 'Pip',
    side: 'white',
    pgn: `[White "Pip"] [Black "Tansy"] [Event "Lantern class ladder"] [Date "2026.10.10"]
1. e4 e5 2. Nf3 d6 3. Bc4 Bg4 4. Nc3 g6 5. Nxe5 Bxd1 6. Nxd1 dxe5 7. O-O Nc6 8. c3 Qd7 9. d3 O-O-O
10. f4 Bc5+ 11. Kh1 exf4 12. Bxf4 Qxd3 13. Bxf7 Qxf1# 0-1`,
    plies: [9, 10, 23, 24, 25],
  },
  {
    name: 'Fern',
    side: 'white',
    pgn: `[White "Fern"] [Black "Tansy"] [Event "Quillhaven friendly"] [Date "2026.11.07"]
1. d4 d5 2. c4 e6 3. Nc3 Nf6 4. Bg5 Nbd7 5. cxd5 exd5 6. Nxd5 Nxd5 7. Bxd8 Bb4+ 8. Qd2 Bxd2+ 9. Kxd2 Kxd8
10. e4 N5f6 11. f3 Re8 12. Bc4 b6 13. Bxf7 Rf8 14. Bb3 Bb7 15. Ne2 Re8 16. Rac1 c5 17. d5 b5 18. a4 a6
19. axb5 axb5 20. Nc3 Ba6 21. Nxb5 Bxb5 22. Ra1 Rxa1 23. Rxa1 Nxe4+ 24. fxe4 Rxe4 25. Ra8+ Ke7 26. Ra7 Rd4+
27. Ke3 Rd3+ 28. Kf2 Rd2+ 29. Kg1 Re2 30. Ra1 Ne5 31. d6+ Kxd6 32. h3 Nf3+ 33. gxf3 Rg2+ 34. Kxg2 Bc6 1/2-1/2`,
    plies: [10, 15, 40, 52, 53, 55, 63, 64, 65, 66],
  },
];
