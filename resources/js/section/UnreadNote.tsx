import { Box } from '@chakra-ui/react';
import { Link } from '@inertiajs/react';
import { type Unread } from './unread';

/** On another page than the one it stands on: what cannot be read yet, with the way to it. */
export function UnreadNote({ systemId, unread }: { systemId: number; unread: Unread[] }) {
    const elsewhere = unread.filter(({ part }) => part !== null);
    return elsewhere.length === 0 ? null : (
        <Box role="status" fontSize="sm" color="caution" mb="3">
            Left out, since it cannot be read yet:
            <ul>
                {elsewhere.map(({ place, name, sentence, part }) => (
                    <li key={place}>
                        <Link href={`/systems/${systemId}/section?part=${encodeURIComponent(part ?? '')}`}>{name}</Link>
                        : {sentence}
                    </li>
                ))}
            </ul>
        </Box>
    );
}
