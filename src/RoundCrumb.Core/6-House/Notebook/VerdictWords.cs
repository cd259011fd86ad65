namespace RoundCrumb.Core.Records;

/// <summary>How a verdict on a base is said.</summary>
public static class BaseVerdictWords
{
    extension(BaseVerdict verdict)
    {
        /// <summary>In a word.</summary>
        public string Word => verdict switch
        {
            BaseVerdict.NotSaid => "not said",
            BaseVerdict.Crisp => "crisp",
            BaseVerdict.Firm => "firm",
            BaseVerdict.Soft => "soft",
            BaseVerdict.Soggy => "soggy",
        };
    }
}

/// <summary>How a verdict on a cut is said.</summary>
public static class SetVerdictWords
{
    extension(SetVerdict verdict)
    {
        /// <summary>In a word or two.</summary>
        public string Word => verdict switch
        {
            SetVerdict.NotSaid => "not said",
            SetVerdict.Runny => "runny",
            SetVerdict.Soft => "soft",
            SetVerdict.Clean => "clean slice",
            SetVerdict.Firm => "firm",
            SetVerdict.Rubbery => "rubbery",
        };
    }
}

/// <summary>How a verdict on a top is said.</summary>
public static class TopVerdictWords
{
    extension(TopVerdict verdict)
    {
        /// <summary>In a word.</summary>
        public string Word => verdict switch
        {
            TopVerdict.NotSaid => "not said",
            TopVerdict.Held => "held",
            TopVerdict.Softened => "softened",
            TopVerdict.Wept => "wept",
            TopVerdict.Overwhipped => "over-whipped",
        };
    }
}

/// <summary>How a taste is said.</summary>
public static class TasteWords
{
    /// <summary>The words of a scale, from far too little to far too much.</summary>
    public static IReadOnlyList<int> Steps { get; } = [-2, -1, 0, 1, 2];

    /// <summary>How a step is said.</summary>
    /// <param name="step">From −2 to 2.</param>
    public static string Said(int step) => step switch
    {
        <= -2 => "far too little",
        -1 => "too little",
        0 => "right",
        1 => "too much",
        _ => "far too much",
    };

    extension(TasteScale scale)
    {
        /// <summary>What it is of.</summary>
        public string Name => scale switch
        {
            TasteScale.Sweet => "sweet",
            TasteScale.Sharp => "sharp",
            TasteScale.Rich => "rich",
            TasteScale.Flavour => "flavour",
            TasteScale.Crisp => "crisp",
        };
    }
}
