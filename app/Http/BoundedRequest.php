<?php

declare(strict_types=1);

namespace App\Http;

use App\Exchange\BoundedJson;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\InputBag;

/** A request whose JSON is looked at before it is parsed, since a small text can unfold into much work. */
final class BoundedRequest extends Request
{
    private bool $tooLarge = false;

    /**
     * @param  ?string  $key
     * @param  mixed  $default
     * @return ($key is null ? InputBag<string> : mixed)
     */
    public function json($key = null, $default = null): mixed
    {
        if ($this->json === null && ! BoundedJson::isBearable((string) $this->getContent())) {
            // The framework reads the body while it makes the request; the refusal follows when there is someone to
            // answer it.
            $this->tooLarge = true;
            $this->json = new InputBag([]);
        }

        return parent::json($key, $default);
    }

    /** @throws PostTooLargeException */
    public function mustBeBearable(): void
    {
        if ($this->tooLarge) {
            throw new PostTooLargeException;
        }
    }
}
