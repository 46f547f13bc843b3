<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Password;
use Ithys\Quantity\UnitSystem;

final class FirstKeeperRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'string', 'email', 'max:190'],
            'password' => ['required', 'string', 'max:200', Password::defaults()],
            'timezone' => ['required', 'timezone:all_with_bc'],
            'units' => ['required', Rule::enum(UnitSystem::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Enter the name to sign your entries with.',
            'email.required' => 'Enter an e-mail address; it is only used to sign in.',
            'email.email' => 'This is not an e-mail address; one looks like keeper@home.example.',
            'password.required' => 'Choose a password of at least 10 characters.',
            'password.min' => 'Choose a password of at least 10 characters.',
            'timezone.timezone' => 'This is not a time zone; one looks like Europe/Berlin.',
        ];
    }
}
