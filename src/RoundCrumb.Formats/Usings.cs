// The combinators over characters, everywhere; beside the ones over anything they have no settled order in a file.
global using static Pidgin.Parser<char>;
