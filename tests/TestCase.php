<?php

declare(strict_types=1);

namespace Tests;

use App\Http\BoundedRequest;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;
use Symfony\Component\HttpFoundation\Request;

abstract class TestCase extends LaravelTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
    }

    /** @param  Request  $symfonyRequest */
    protected function createTestRequest($symfonyRequest): BoundedRequest
    {
        return BoundedRequest::createFromBase($symfonyRequest);
    }
}
