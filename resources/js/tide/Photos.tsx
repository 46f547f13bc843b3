import { Box, chakra } from '@chakra-ui/react';
import { router, useForm } from '@inertiajs/react';
import { type SyntheticEvent, useRef } from 'react';
import { useDates } from '../lib/dates';
import { Button } from '../parts/Button';
import { TextField } from '../parts/TextField';

interface Photo {
    id: number;
    t: number;
    caption: string;
    width: number;
    height: number;
    picture: string;
    thumbnail: string;
}

export interface PhotoShelf {
    total: number;
    today: string;
    megabytes: number;
    /** Newest first; of very many the newest alone. */
    list: Photo[];
}

/** Photos of the tank and of sheets with results. The log stands open above, so that a sheet can be read off. */
export function Photos({ systemId, shelf, trial }: { systemId: number; shelf: PhotoShelf; trial?: number }) {
    const dates = useDates();
    const form = useForm<{ photo: File | null; caption: string; day: string; trial: number | null }>({
        photo: null,
        caption: '',
        day: '',
        trial: trial ?? null,
    });
    const file = useRef<HTMLInputElement>(null);
    function submit(event: SyntheticEvent) {
        event.preventDefault();
        form.post(`/systems/${systemId}/photos`, {
            preserveScroll: true,
            preserveState: true,
            onSuccess: () => {
                form.reset();
                if (file.current !== null) {
                    file.current.value = '';
                }
            },
        });
    }
    return (
        <Box>
            <chakra.form
                onSubmit={submit}
                aria-label="Keep a photo"
                display="grid"
                gap="3"
                gridTemplateColumns={{ base: '1fr', md: 'minmax(0, 1.3fr) minmax(0, 1.5fr) 150px auto' }}
                alignItems="end"
                mb="4"
            >
                <Box>
                    <chakra.label htmlFor="photo" fontWeight="600" fontSize="sm" display="block" mb="1">
                        Photo of a sheet or the tank
                    </chakra.label>
                    <chakra.input
                        ref={file}
                        id="photo"
                        type="file"
                        accept="image/jpeg,image/png,image/webp"
                        aria-invalid={form.errors.photo !== undefined}
                        aria-describedby="photo-error photo-help"
                        onChange={(event) => form.setData('photo', event.target.files?.[0] ?? null)}
                        fontSize="sm"
                        minH="36px"
                        maxWidth="100%"
                    />
                </Box>
                <TextField
                    label="What it shows"
                    value={form.data.caption}
                    maxLength={200}
                    error={form.errors.caption}
                    onText={(caption) => form.setData('caption', caption)}
                />
                <TextField
                    label="Day, if not its own"
                    type="date"
                    max={shelf.today}
                    value={form.data.day}
                    error={form.errors.day}
                    onText={(day) => form.setData('day', day)}
                />
                <Button type="submit" look="solid" disabled={form.processing || form.data.photo === null}>
                    {form.processing ? 'Keeping' : 'Keep'}
                </Button>
                <Box gridColumn="1 / -1" fontSize="sm">
                    <Box id="photo-error" color="fault" role="alert">
                        {form.errors.photo}
                    </Box>
                    <Box id="photo-help" color="quiet">
                        JPEG, PNG or WebP, at most {shelf.megabytes} MB. It stays on this machine. Where and with what
                        it was taken is removed; the day is kept.
                    </Box>
                    {form.progress && form.processing && (
                        <chakra.progress
                            value={form.progress.percentage ?? 0}
                            max="100"
                            aria-label="Sending the photo"
                            width="100%"
                        />
                    )}
                </Box>
            </chakra.form>
            {shelf.list.length === 0 ? (
                <p>No photo is kept yet. A photo of the sheet you write results on keeps them from being lost.</p>
            ) : (
                <>
                    {shelf.total > shelf.list.length && (
                        <chakra.p color="quiet" fontSize="sm" mb="2">
                            The newest {shelf.list.length} of {shelf.total} photos.
                        </chakra.p>
                    )}
                    <Box
                        as="ul"
                        listStyleType="none"
                        display="grid"
                        gap="4"
                        gridTemplateColumns={{ base: '1fr', sm: 'repeat(auto-fill, minmax(220px, 1fr))' }}
                    >
                        {shelf.list.map((photo) => (
                            <Box as="li" key={photo.id} borderTopWidth="1.5px" borderColor="ink" pt="2">
                                <a href={photo.picture} target="_blank" rel="noreferrer">
                                    <chakra.img
                                        src={photo.thumbnail}
                                        alt={`${photo.caption}, ${dates.day(photo.t)}. Opens large.`}
                                        loading="lazy"
                                        width="100%"
                                        height={{ base: 'auto', sm: '165px' }}
                                        objectFit="cover"
                                    />
                                </a>
                                <Box display="flex" gap="2" alignItems="baseline" fontSize="sm">
                                    <Box flex="1">
                                        {photo.caption}
                                        <Box color="quiet">{dates.day(photo.t)}</Box>
                                    </Box>
                                    <Button
                                        look="plain"
                                        minH={{ base: '44px', md: '28px' }}
                                        aria-label={`Bin ${photo.caption}, ${dates.day(photo.t)}`}
                                        onClick={() =>
                                            router.delete(`/systems/${systemId}/photos/${photo.id}`, {
                                                preserveScroll: true,
                                                preserveState: true,
                                            })
                                        }
                                    >
                                        Bin
                                    </Button>
                                </Box>
                            </Box>
                        ))}
                    </Box>
                </>
            )}
        </Box>
    );
}
