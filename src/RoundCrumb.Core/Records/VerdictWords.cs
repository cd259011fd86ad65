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
