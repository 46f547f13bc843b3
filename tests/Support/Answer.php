<?php

declare(strict_types=1);

namespace Tests\Support;

/** What a server answered; status 0 for nothing. */
final readonly class Answer
{
    public function __construct(public int $status, public string $head, public string $body)
    {
    }

    public function header(string $name): string
    {
        return preg_match('~^'.preg_quote($name).':\s*(.*?)\r?$~mi', $this->head, $match) === 1 ? $match[1] : '';
    }
}
