import { type ReactNode, memo } from 'react';

/** What stays as it was drawn while something else is dragged, so that the drag runs smoothly. */
export const Still = memo(
    function Still({ children }: { while: boolean; children: ReactNode }) {
        return <>{children}</>;
    },
    (_, next) => next.while,
);
