namespace RoundCrumb.Core.Methods;

/// <summary>How far cream is whipped.</summary>
public enum CreamStage
{
    /// <summary>Not yet.</summary>
    Ribbons,

    /// <summary>To fold and to spoon.</summary>
    SoftPeak,

    /// <summary>To spread.</summary>
    JustPastSoft,

    /// <summary>To pipe.</summary>
    Stiff,

    /// <summary>Too far.</summary>
    Grainy,
}

/// <summary>What is known of each stage.</summary>
public static class CreamStages
{
    extension(CreamStage stage)
    {
        /// <summary>What it is called.</summary>
        public string Name => stage switch
        {
            CreamStage.Ribbons => "Not yet",
            CreamStage.SoftPeak => "Soft",
            CreamStage.JustPastSoft => "Just past soft",
            CreamStage.Stiff => "Stiff",
            CreamStage.Grainy => "Over-whipped",
        };

        /// <summary>What it looks like.</summary>
        public string Looks => stage switch
        {
            CreamStage.Ribbons => "it runs back in ribbons",
            CreamStage.SoftPeak => "the tip bends over",
            CreamStage.JustPastSoft => "a swirl holds, its edge still smooth",
            CreamStage.Stiff => "it stands, sharp at the edges",
            CreamStage.Grainy => "grains, and it yellows",
        };

        /// <summary>What it is for; empty where it is for nothing.</summary>
        public string For => stage switch
        {
            CreamStage.SoftPeak => "folding and spooning",
            CreamStage.JustPastSoft => "spreading",
            CreamStage.Stiff => "piping",
            CreamStage.Ribbons or CreamStage.Grainy => "",
        };
    }
}
