using RoundCrumb.Core.Composing;

namespace RoundCrumb.Core.Advice;

/// <summary>What is said of a pie's facts.</summary>
public static class PieAdvice
{
    extension(Assessment pie)
    {
        /// <summary>What a colleague would say, the gravest first.</summary>
        public IReadOnlyList<Finding> Advice => pie.Once(RuleBook.Evaluate);
    }
}
