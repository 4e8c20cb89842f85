import { PlanView } from '../features/plan/PlanView.tsx';
import { PaperFrame } from '../features/sheet/PaperFrame.tsx';

/** The plan of a version: when to begin, who does what, on what. */
export const PlanScreen = () => <PaperFrame heading="Plan">{(chosen) => <PlanView chosen={chosen} />}</PaperFrame>;
