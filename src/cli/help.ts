/** What `./vorschule help` prints. */
export const HELP = `Vorschule: a workbench for scholastic chess coaches.

  ./vorschule demo [--port 3000] [--reset]   start with the demo club; --reset makes its data anew
  ./vorschule dev [--port 3000] [--reset]    the same club for developers: pages are built when they are asked for, and
                                             again when their source changes; worker threads when it starts
  ./vorschule test [--long] [--only STEP] [--files PART-OF-PATH] [--shuffle SEED]
                                             every check; the last line is "N passed, N failed"; --files runs the test
                                             files with this in their path alone, --shuffle the browser test files in an
                                             order drawn from the seed
  ./vorschule start                          a real installation; needs DATABASE_URL, SESSION_SECRET
                                             and ORIGIN in the environment, HOST and PORT optional

  ./vorschule class-sim [--class "Lantern class"] [--children 24] [--seed 1] [--minutes 45]
                                             a simulated class for the demo that runs: children join, answer the big
                                             board, dither and drop out; those that are missing are added to the class
On the database of DATABASE_URL, or on that of the demo that runs:

  ./vorschule rebuild                        works out anew, from the stored answers, what each child can
  ./vorschule reset-password NAME            a new password for the coach or lead who signs in as NAME, shown once
  ./vorschule repair [--force]               tells what state the schema is in and finishes what was broken off; --force
                                             takes the lock of a start that is known to be gone
  ./vorschule backup FILE                    saves everything, while it is used
  ./vorschule restore [--replace] FILE       reads a backup into an empty schema, or in place of what is there, and
                                             brings it up to date
  ./vorschule add-club [--time-zone ZONE] NAME
                                             one more club; prints the code with which its lead sets it up
  ./vorschule export-club [--club NAME] [--names] FILE
                                             one club as JSON and PGN in a zip, to take to another installation; names,
                                             passwords and keys only with --names
  ./vorschule import-club [--as NAME] FILE   makes that club here, under its own or another name

Without server or database, usable in pipes (FILE or - for standard input):

  ./vorschule prove [--max 5] [--seconds 10] [--json] [FILE|-]
                                             lines of FEN or EPD; out comes EPD with dm, bm, pv, acn, acs,
                                             or one JSON object a line
  ./vorschule judge [--no-blocks] [--seconds 10] [--json] [FILE|-]
                                             lines of {"fen","line","claimed"?}: does the written solution hold,
                                             and if not, where does it break and why
  ./vorschule fate [--depth 4] [--json] [FILE|-]
                                             lines of FEN or EPD: what becomes of every legal move, seen that
                                             many plies deep
  ./vorschule notation [--language NAME] [--json] [FILE|-]
                                             lines of {"fen","text"}: which move is written there, and how does it
                                             differ from the standard's form; NAME adds a language's letters
  ./vorschule name [--json] [FILE|-]         lines of FEN or EPD: which named mate is on the board, and who does what
                                             in it
  ./vorschule compose --mate 2 [--pattern boden] [--key quiet] [--side white] [--wing king] [--men 12] [--level 3]
                      [--count 10] [--seed 7]
                                             fresh mates, proved, one key each, as EPD
  ./vorschule pgn [--json] [FILE|-]          games of a PGN file: where each ends, what was put right, and
                                             where a faulty one breaks off
  ./vorschule perft "FEN" DEPTH [--divide]   move sequences of that many plies
  ./vorschule moves "FEN" [--json]           legal moves, one a line
  ./vorschule help                           this text

Exit code 0: all read; 1: something was wrong, told on stderr; 2: not understood.`;
