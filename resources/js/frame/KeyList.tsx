import { Box, chakra } from '@chakra-ui/react';
import { Button } from '../parts/Button';
import { useEffect, useRef } from 'react';
import { Kbd } from '../parts/Kbd';

const KEYS = [
    ['L', 'log a reading or a change'],
    ['/', 'find in the journal'],
    ['G then C', 'go to Care'],
    ['1 to 9', 'done: a task of Care'],
    ['G then J', 'go to Journal'],
    ['G then P', 'go to Path'],
    ['G then E', 'go to Section'],
    ['G then M', 'go to Media'],
    ['G then D', 'go to Ledger'],
    ['G then F', 'go to Forecast'],
    ['G then T', 'go to Trials'],
    ['G then S', 'go to Settings'],
    ['[ and ]', 'earlier or later change on the tide sheet'],
    ['T', 'tide sheet or table'],
    ['A', 'find equipment to add to the path'],
    ['1 to 5', 'go to a group of Section; arrows go on, Enter to its fields, Esc back'],
    ['Ctrl+S', 'save the draft of the path'],
    ['Ctrl+Z', 'undo the last change to it'],
    ['U', 'switch between metric and US units'],
    ['?', 'this list'],
    ['Esc', 'leave a field or this list'],
] as const;

/** The list of keys, opened with ?. */
export function KeyList({ open, onClose }: { open: boolean; onClose: () => void }) {
    const dialog = useRef<HTMLDialogElement>(null);
    useEffect(() => {
        if (open) {
            dialog.current?.showModal();
        } else {
            dialog.current?.close();
        }
    }, [open]);

    return (
        <chakra.dialog
            ref={dialog}
            onClose={onClose}
            aria-labelledby="keys"
            m="auto"
            p="6"
            bg="raised"
            color="ink"
            borderWidth="1.5px"
            borderColor="ink"
            borderRadius="4px"
            maxWidth="94vw"
        >
            <chakra.h2 id="keys" fontSize="lg" mb="3">
                Keys
            </chakra.h2>
            <chakra.dl display="grid" gridTemplateColumns="auto 1fr" gapX="5" gapY="2" fontSize="sm" mb="4">
                {KEYS.map(([key, what]) => (
                    <Box key={key} display="contents">
                        <dt>
                            <Kbd display="inline-flex">{key}</Kbd>
                        </dt>
                        <dd>{what}</dd>
                    </Box>
                ))}
            </chakra.dl>
            <Button onClick={onClose}>Close</Button>
        </chakra.dialog>
    );
}
