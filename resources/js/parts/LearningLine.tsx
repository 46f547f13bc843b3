import { chakra } from '@chakra-ui/react';
import { useAskAgain } from '../lib/askAgain';
import { useDates } from '../lib/dates';

/** How what is learned of a tank rests on its journal. */
export interface Learning {
    isCurrent: boolean;
    madeAt: number | null;
    /** Why nothing was learned, in a sentence. */
    problem: string | null;
}

/** When what is shown was learned; while newer entries are being learned from, the page asks again by itself. */
export function LearningLine({ learning, only }: { learning: Learning; only: string[] }) {
    const dates = useDates();
    useAskAgain(!learning.isCurrent, ['learning', ...only]);
    const since = learning.madeAt === null ? '' : `As of ${dates.moment(learning.madeAt)}.`;

    return (
        <chakra.div fontSize="sm" color="quiet" aria-live="polite">
            {learning.problem !== null && (
                <chakra.span color="caution" display="block">
                    {learning.problem}
                </chakra.span>
            )}
            {learning.isCurrent
                ? since
                : `${since} Ithys is learning from your latest entries. This page updates by itself.`.trim()}
        </chakra.div>
    );
}
