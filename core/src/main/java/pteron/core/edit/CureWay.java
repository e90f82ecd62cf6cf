package pteron.core.edit;

import pteron.core.figure.Cure.Press;
import pteron.core.plan.BoxPlan;

/** How cures of one kind change a plan. */
interface CureWay {

    /** {@return the plan that is cured by an amount} */
    BoxPlan apply(BoxPlan plan, double amount, Press press);
}
