<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

final class SignInRequest extends FormRequest
{
    /** Wrong tries a minute, for one address book entry and for one network address. */
    private const TRIES = ['account' => 5, 'network' => 30];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'max:190'], 'password' => ['required', 'string', 'max:200'], 'remember' => ['boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['email.required' => 'Enter the e-mail address of your account.', 'password.required' => 'Enter your password.'];
    }

    /** @throws ValidationException with one sentence that does not tell which of the two was wrong */
    public function authenticate(): void
    {
        foreach ($this->throttles() as $kind => $key) {
            if (RateLimiter::tooManyAttempts($key, self::TRIES[$kind])) {
                throw ValidationException::withMessages(['email' => 'Too many wrong tries. Wait '.RateLimiter::availableIn($key).' seconds and try again.']);
            }
        }
        if (! Auth::attempt(['email' => Str::lower($this->string('email')->trim()->value()), 'password' => $this->string('password')->value()], $this->boolean('remember'))) {
            array_map(fn (string $key): int => RateLimiter::hit($key), $this->throttles());
            throw ValidationException::withMessages(['email' => 'No account has this e-mail address and password together.']);
        }
        RateLimiter::clear($this->throttles()['account']);
        $this->session()->regenerate();
    }

    /** @return array{account: string, network: string} */
    private function throttles(): array
    {
        return [
            'account' => 'sign-in|'.Str::lower($this->string('email')->trim()->value()).'|'.$this->ip(),
            'network' => 'sign-in|'.$this->ip(),
        ];
    }
}
