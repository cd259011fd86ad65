namespace RoundCrumb.Core.Diagnosis;

/// <summary>What only the baker can tell, as it is asked.</summary>
internal static class AskedSigns
{
    public static readonly Sign SprangBack = new(
        "sprang-back", "Did the sheet spring back while it was rolled?",
        "it sprang back under the pin", "it lay still under the pin");

    public static readonly Sign ShortChill = new(
        "short-chill", "Did the lined shell rest for less than half an hour?",
        "it rested for less than half an hour", "it rested long enough");

    public static readonly Sign Pulled = new(
        "pulled", "Was the sheet pulled to reach the rim?",
        "it was pulled to fit", "it was eased in");

    public static readonly Sign WeightsLow = new(
        "weights-low", "Did the weights end below the rim?",
        "the weights did not reach the rim", "the weights reached the rim");

    public static readonly Sign StickyDough = new(
        "sticky-dough", "Was the dough sticky?",
        "the dough was sticky", "the dough did not stick");

    public static readonly Sign FatRan = new(
        "fat-ran", "Did fat run out before the dough had set?",
        "fat ran out of it", "no fat ran out");

    public static readonly Sign Unpricked = new(
        "unpricked", "Was the base left without pricks?",
        "it was not pricked", "it was pricked");

    public static readonly Sign WetAtWeights = new(
        "wet-at-weights", "Was the base still wet and shiny when the weights came out?",
        "it was wet when the weights came out", "it was matt when the weights came out");

    public static readonly Sign OneDome = new(
        "one-dome", "Is it one even dome?",
        "it is one even dome", "there are only blisters");

    public static readonly Sign EdgeCracked = new(
        "edge-cracked", "Did it crack at the edge first?",
        "it cracked from the edge", "the edge stayed smooth");

    public static readonly Sign FromFridge = new(
        "from-fridge", "Did it come straight from the fridge to the pin?",
        "it was rolled straight from the fridge", "it had stood first");

    public static readonly Sign DryPatches = new(
        "dry-patches", "Were there dry, floury patches?",
        "there were floury patches", "it was even all over");

    public static readonly Sign ThickAndThin = new(
        "thick-and-thin", "Is it thick in one place and thin in another?",
        "it was rolled unevenly", "it was of one thickness");

    public static readonly Sign HumidDay = new(
        "humid-day", "Was it a damp or a hot day?",
        "the day was damp or hot", "the day was dry and cool");

    public static readonly Sign FatLumps = new(
        "fat-lumps", "Were there lumps of fat left?",
        "there were lumps of fat", "the fat was worked in");

    public static readonly Sign FlourByCup = new(
        "flour-by-cup", "Was the flour measured by the cup?",
        "the flour was not weighed", "the flour was weighed");

    public static readonly Sign PaleBeneath = new(
        "pale-beneath", "Is the base pale beneath?",
        "it is pale beneath", "it is golden beneath");

    public static readonly Sign WarmShell = new(
        "warm-shell", "Was the shell or the crumb still warm when it was filled?",
        "it was filled warm", "it was cold when it was filled");

    public static readonly Sign LiquidOnPlate = new(
        "liquid-on-plate", "Does liquid stand on the plate?",
        "liquid stands on the plate", "the plate is dry");

    public static readonly Sign JuiceCaught = new(
        "juice-caught", "Did fruit lie bare on the base, nothing beneath it?",
        "nothing lay under the fruit to catch its juice", "something caught the juice");

    public static readonly Sign HighShelf = new(
        "high-shelf", "Did it bake on the middle shelf or higher?",
        "it stood far from the bottom heat", "it stood low in the oven");

    public static readonly Sign NoShield = new(
        "no-shield", "Was the rim left without a shield?",
        "the rim was not shielded", "the rim was shielded");

    public static readonly Sign TopHot = new(
        "top-hot", "Does everything brown first on top in this oven?",
        "this oven is hotter on top", "this oven browns evenly");

    public static readonly Sign MixedLong = new(
        "mixed-long", "Was it mixed until it was quite smooth?",
        "it was mixed for long", "it was mixed only until it held");

    public static readonly Sign StrongFlour = new(
        "strong-flour", "Was it bread flour, or another strong one?",
        "the flour was strong", "the flour was plain or soft");

    public static readonly Sign Rerolled = new(
        "rerolled", "Was it rolled from scraps?",
        "it was rolled a second time", "it was rolled once");

    public static readonly Sign AllFatAtOnce = new(
        "all-fat-at-once", "Did all of the fat go in at once?",
        "all of the fat went in at once", "the fat went in by and by");

    public static readonly Sign Shone = new(
        "shone", "Did a squeezed handful shine?",
        "a squeezed handful shone", "a squeezed handful looked dry");

    public static readonly Sign FellApart = new(
        "fell-apart", "Did a squeezed handful fall apart?",
        "a squeezed handful fell apart", "a squeezed handful held");

    public static readonly Sign CoarseLumps = new(
        "coarse-lumps", "Are there lumps as big as peas in it?",
        "the crumb was coarse", "the crumb was even sand");

    public static readonly Sign PressedLightly = new(
        "pressed-lightly", "Was it pressed by hand only, or not chilled?",
        "it was hardly pressed, or not chilled", "it was pressed hard and chilled");

    public static readonly Sign FromCold = new(
        "from-cold", "Did it come straight from the fridge to the plate?",
        "it was served straight from the cold", "it had stood for a while");

    public static readonly Sign VeryBrown = new(
        "very-brown", "Is it dark all through?",
        "it is dark all through", "it is not dark");

    public static readonly Sign StarchDry = new(
        "starch-dry", "Did dry starch meet hot liquid?",
        "starch went dry into something hot", "the starch was whisked into sugar or yolk first");

    public static readonly Sign StirredLate = new(
        "stirred-late", "Was it left alone as it first thickened?",
        "it was not stirred as it thickened", "it was stirred all the time");

    public static readonly Sign HighHeat = new(
        "high-heat", "Was the heat high?",
        "the heat was high", "the heat was medium");

    public static readonly Sign LumpsAtBottom = new(
        "lumps-at-bottom", "Did the lumps come off the bottom of the pan?",
        "the lumps came off the bottom", "the lumps were all through it");

    public static readonly Sign ThinPan = new(
        "thin-pan", "Was the pan thin?",
        "the pan was thin", "the pan was thick");

    public static readonly Sign Corners = new(
        "corners", "Did it catch only in the corners?",
        "it caught in the corners", "it caught all over");

    public static readonly Sign LeftAlone = new(
        "left-alone", "Was it left for a moment?",
        "it was left alone", "somebody stood by it");

    public static readonly Sign YolksUntempered = new(
        "yolks-untempered", "Did the yolks go straight into the hot pan?",
        "the yolks were not warmed first", "the yolks were warmed first");

    public static readonly Sign Boiled = new(
        "boiled", "Did it boil?",
        "it boiled", "it did not boil");

    public static readonly Sign PouredAtOnce = new(
        "poured-at-once", "Was the hot liquid poured on at once?",
        "it was poured on at once", "it was poured in a thin stream");

    public static readonly Sign NoFilm = new(
        "no-film", "Was it left without film?",
        "there was no film on it", "there was film on it");

    public static readonly Sign FilmLate = new(
        "film-late", "Did the film go on only when it had cooled?",
        "the film went on late", "the film went on at once");

    public static readonly Sign NoBubble = new(
        "no-bubble", "Did it come off the heat before it bubbled in the middle?",
        "it never bubbled in the middle", "it bubbled for a minute or two");

    public static readonly Sign AcidBoiled = new(
        "acid-boiled", "Was juice or other acid boiled with the starch?",
        "acid was boiled in", "acid went in off the heat");

    public static readonly Sign StirredAfter = new(
        "stirred-after", "Was it stirred hard after it had set?",
        "it was stirred after it had set", "nobody touched it");

    public static readonly Sign CutWarm = new(
        "cut-warm", "Was it still warm in the middle when it was cut?",
        "it was cut warm", "it was cut cold");

    public static readonly Sign FirmThenThin = new(
        "firm-then-thin", "Was it firm at first, and thin the next day?",
        "it was firm at first", "it never was firm");

    public static readonly Sign GrainsLeft = new(
        "grains-left", "Were grains of gelatine left in it?",
        "grains were left in it", "it had melted clear");

    public static readonly Sign GelatineBoiled = new(
        "gelatine-boiled", "Did the gelatine boil?",
        "the gelatine boiled", "the gelatine was melted gently");

    public static readonly Sign HotIntoCold = new(
        "hot-into-cold", "Did hot gelatine go all at once into something cold?",
        "hot gelatine went into something cold at once", "it was streamed in, loosened first");

    public static readonly Sign CooledLong = new(
        "cooled-long", "Had it begun to set before it was mixed?",
        "it had begun to set before", "it was mixed in time");

    public static readonly Sign NotBloomed = new(
        "not-bloomed", "Did the gelatine soak for less than five minutes?",
        "it hardly soaked", "it soaked long enough");

    public static readonly Sign SplitCold = new(
        "split-cold", "Did eggs or liquid come straight from the fridge?",
        "something went in fridge-cold", "all of it had the room’s warmth");

    public static readonly Sign SplitFast = new(
        "split-fast", "Did the eggs go in all at once?",
        "the eggs went in at once", "the eggs went in one by one");

    public static readonly Sign Oily = new(
        "oily", "Is there oil on top?",
        "oil stands on top", "it is grainy rather than oily");

    public static readonly Sign ChocolateHot = new(
        "chocolate-hot", "Was it hot enough to steam?",
        "it was very hot", "it was just warm");

    public static readonly Sign MiddleHot = new(
        "middle-hot", "Did the middle go over 85 °C, or was it quite still when it came out?",
        "it was overbaked in the middle", "it trembled when it came out");

    public static readonly Sign MeringueOnCold = new(
        "meringue-on-cold", "Did the meringue go onto a cold filling?",
        "the meringue went onto a cold filling", "the filling was hot");

    public static readonly Sign FruitSugared = new(
        "fruit-sugared", "Was the fruit sugared long before?",
        "the fruit was sugared early", "the fruit was sugared last");

    public static readonly Sign WasFrozen = new(
        "was-frozen", "Was it frozen and thawed?",
        "it was frozen and thawed", "it was never frozen");

    public static readonly Sign UpperWarm = new(
        "upper-warm", "Was the upper layer warmer than the hand?",
        "the upper layer was warm", "the upper layer was barely warm");

    public static readonly Sign PouredHigh = new(
        "poured-high", "Was it poured from a height?",
        "it was poured from a height", "it went over a spoon");

    public static readonly Sign LowerSoft = new(
        "lower-soft", "Did a finger leave a mark in the lower layer?",
        "the lower layer had not set", "the lower layer had set");

    public static readonly Sign Tilted = new(
        "tilted", "Does the oven shelf or the tray tilt?",
        "it stood askew", "it stood level");

    public static readonly Sign OverOneSide = new(
        "over-one-side", "Did it run over at one side only?",
        "it ran over at one side", "it ran over all round");

    public static readonly Sign PotUnscraped = new(
        "pot-unscraped", "Was much left in pot and bowl?",
        "much was left in the pot", "the pot was scraped");

    public static readonly Sign BoiledLow = new(
        "boiled-low", "Was it boiled down further than planned?",
        "it was boiled down too far", "it was boiled down to its mark");

    public static readonly Sign FoamFell = new(
        "foam-fell", "Was it flat and wet after folding?",
        "the foam had fallen", "it was airy");

    public static readonly Sign ColdGoingIn = new(
        "cold-going-in", "Did the filling go in fridge-cold?",
        "the filling went in cold", "the filling went in warm");

    public static readonly Sign EggsBeaten = new(
        "eggs-beaten", "Were the eggs whisked to a froth?",
        "the eggs were beaten frothy", "the eggs were only stirred");

    public static readonly Sign Draught = new(
        "draught", "Did it cool in a draught, or outdoors?",
        "it cooled in a draught", "it cooled slowly");

    public static readonly Sign EarlyOut = new(
        "early-out", "Was it taken out of its tin after less than a night?",
        "it came out of its tin early", "it stood for a night");

    public static readonly Sign CreamSoft = new(
        "cream-soft", "Was the cream in it only softly whipped?",
        "the cream was soft", "the cream was stiff");

    public static readonly Sign TinUnlined = new(
        "tin-unlined", "Was the side of the tin left bare?",
        "the tin was not lined", "the tin was lined");

    public static readonly Sign FrozenFruit = new(
        "frozen-fruit", "Was the fruit frozen?",
        "the fruit was frozen", "the fruit was fresh");

    public static readonly Sign NoMiddleBubble = new(
        "no-middle-bubble", "Did it come out before the middle bubbled?",
        "the middle never bubbled", "the middle bubbled");

    public static readonly Sign CutHot = new(
        "cut-hot", "Was it cut within three hours?",
        "it was cut within three hours", "it stood for hours");

    public static readonly Sign MachineToEnd = new(
        "machine-to-end", "Did the machine whip it to the end?",
        "the machine whipped it to the end", "the last strokes were by hand");

    public static readonly Sign WarmCream = new(
        "warm-cream", "Was the cream or the bowl not cold?",
        "cream or bowl were warm", "cream and bowl were cold");

    public static readonly Sign PieWarm = new(
        "pie-warm", "Was the pie still warm to the hand?",
        "the pie was warm", "the pie was cold");

    public static readonly Sign SoftPeaks = new(
        "soft-peaks", "Was it whipped to soft peaks only?",
        "it was whipped softly", "it was whipped stiff");

    public static readonly Sign SyrupBeneath = new(
        "syrup-beneath", "Is there syrup beneath the meringue?",
        "syrup runs beneath it", "it is dry beneath");

    public static readonly Sign Beads = new(
        "beads", "Are there amber beads on it?",
        "there are amber beads on it", "there are no beads");

    public static readonly Sign MeringuePale = new(
        "meringue-pale", "Is it pale and soft inside?",
        "it is raw inside", "it is baked through");

    public static readonly Sign LooseBiscuits = new(
        "loose-biscuits", "Were biscuits loose before it was filled?",
        "biscuits were loose", "no biscuit rocked");

    public static readonly Sign ThinPour = new(
        "thin-pour", "Was the filling as thin as milk?",
        "the filling was thin", "the filling was thick");

    public static readonly Sign WetFruit = new(
        "wet-fruit", "Was the fruit wet?",
        "the fruit was wet", "the fruit was dried");

    public static readonly Sign BigPieces = new(
        "big-pieces", "Were the pieces larger than a mouthful?",
        "the pieces were large", "the pieces were small");

    public static readonly Sign CutHoursBefore = new(
        "cut-hours-before", "Was the fruit cut more than four hours before?",
        "the fruit was cut hours before", "the fruit was cut last");

    public static readonly Sign NoLemon = new(
        "no-lemon", "Was there neither lemon nor glaze on it?",
        "there was no lemon on it and no glaze", "lemon or glaze covered it");

    public static readonly Sign KnifeCold = new(
        "knife-cold", "Was the knife cold, or not wiped?",
        "the knife was cold or wet", "the knife was hot and dry");

    public static readonly Sign NotWeighedOut = new(
        "not-weighed-out", "Was everything weighed out before it began?",
        "all of it stood ready", "it was weighed as it went");

    public static readonly Sign Interrupted = new(
        "interrupted", "Was somebody called away?",
        "somebody was called away", "nobody was called away");

    public static readonly Sign TwoBakers = new(
        "two-bakers", "Did two take turns at it?",
        "two took turns", "one did it all");
}
