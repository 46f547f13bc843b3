import { Box } from '@chakra-ui/react';
import { type ReactNode } from 'react';
import { Button } from '../parts/Button';
import { type LiveDraft } from '../lib/useLiveDraft';

/** Saving a draft, a step back, and what state it is in; `unsaved` says what stands there before the first save. */
export function SaveBar({
    draft,
    unsaved,
    inForce = '',
    children,
}: {
    draft: LiveDraft;
    unsaved: string;
    /** Since when what is saved counts, in words. */
    inForce?: string;
    children?: ReactNode;
}) {
    const { dirty, saved } = draft;
    return (
        <Box display="flex" flexWrap="wrap" gap="2" alignItems="center" _print={{ display: 'none' }}>
            <Button look="solid" onClick={draft.save} disabled={!draft.canSave}>
                Save
            </Button>
            <Button onClick={draft.undo} disabled={!draft.canUndo}>
                Undo
            </Button>
            {dirty && (
                <Button look="plain" onClick={draft.backToSaved}>
                    Back to what is saved
                </Button>
            )}
            {children}
            <Box fontSize="sm" color={dirty || !saved ? 'caution' : 'quiet'} role="status">
                {dirty ? 'changed, not saved' : saved ? ['saved', inForce].filter(Boolean).join(' · ') : unsaved}
            </Box>
        </Box>
    );
}
