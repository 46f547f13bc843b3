import { router, usePage } from '@inertiajs/react';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useHistory } from './useHistory';
import { useLive } from './useLive';

interface Options<T, V> {
    /** Tells this draft, its saved version and its units apart from others. */
    key: string;
    /** What the document is called in a request. */
    name: string;
    /** Where it is saved. */
    url: string;
    /** What answers while it is typed; below where it is saved, if nothing else is said. */
    previewUrl?: string;
    /** Where the page that follows a save has the document as typed; undefined where it has none. */
    typedOf?: (props: Record<string, unknown>) => T | undefined;
    /** What else its preview is told. */
    ask?: Record<string, unknown>;
    version: number;
    saved: boolean;
    typed: T;
    view: V;
}

/** A document while it is worked on: its draft with undo, what the core makes of it at every change, and saving it. */
export function useLiveDraft<T, V>({
    key,
    name,
    url,
    previewUrl = `${url}/preview`,
    ask = {},
    typedOf = (props) => props.typed as T,
    version,
    saved,
    typed,
    view: savedView,
}: Options<T, V>) {
    const history = useHistory(key, typed);
    const { now, dirty, restart } = history;
    const { errors } = usePage().props;
    const [view, setView] = useState(savedView);
    const [saving, setSaving] = useState(false);
    const live = useLive<{ view: V | null; problems: Record<string, string> }>(
        previewUrl,
        dirty ? { ...ask, [name]: now } : null,
    );
    const answer = live?.answer ?? null;
    const latest = dirty ? (answer?.ok === true ? answer.result.view : null) : savedView;
    if (latest !== null && latest !== view) {
        setView(latest);
    }
    const problems: Record<string, string> =
        !dirty || answer === null ? {} : answer.ok ? answer.result.problems : answer.errors;
    const stale = Object.keys(problems).length > 0;

    const save = () => {
        setSaving(true);
        router.put(
            url,
            { [name]: now as never, version },
            {
                preserveScroll: true,
                preserveState: true,
                onSuccess: (page) => {
                    const next = typedOf(page.props);
                    if (next !== undefined) {
                        restart(next);
                    }
                },
                onFinish: () => setSaving(false),
            },
        );
    };
    // A fault of what stood there a moment ago must not swallow the press that saves what stands there now.
    const canSave = !saving && !(stale && live?.isOfNow === true) && (dirty || !saved);
    useHotkeys('mod+s', () => canSave && save(), { preventDefault: true, enableOnFormTags: true });
    useHotkeys('mod+z', history.undo, { preventDefault: true });

    return {
        ...history,
        view,
        /** Whether the view is of a state before the last change, since something in that cannot be read. */
        stale,
        saved,
        canSave,
        save,
        problems: { ...problems, ...(errors as Record<string, string>) } as Record<string, string>,
        backToSaved: () => restart(typed),
    };
}

export type LiveDraft = Pick<
    ReturnType<typeof useLiveDraft>,
    'dirty' | 'saved' | 'canSave' | 'save' | 'canUndo' | 'undo' | 'backToSaved'
>;
