<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Auth\KeeperPassword;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Ithys\Quantity\UnitSystem;

final class FirstKeeperRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'string', 'email', 'max:190'],
            'password' => [
                'required',
                new KeeperPassword(
                    array_values(array_filter([$this->input('name'), $this->input('email')], is_string(...))),
                ),
            ],
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
            'password.required' => 'Choose a password.',
            'timezone.timezone' => 'This is not a time zone; one looks like Europe/Berlin.',
        ];
    }
}
