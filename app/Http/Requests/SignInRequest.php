<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Auth\KeeperPassword;
use App\Auth\Tries;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

final class SignInRequest extends FormRequest
{
    /** Wrong tries a minute, for one address book entry and for one network address. */
    private const TRIES = ['account' => 5, 'network' => 30];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'max:190'],
            'password' => ['required', 'string'],
            'remember' => ['boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'email.required' => 'Enter the e-mail address of your account.',
            'password.required' => 'Enter your password.',
        ];
    }

    /** @throws ValidationException with one sentence that does not tell which of the two was wrong */
    public function authenticate(): void
    {
        $email = Str::lower($this->string('email')->trim()->value());
        $password = $this->string('password')->value();
        if (strlen($password) > KeeperPassword::MOST_BYTES) {
            throw ValidationException::withMessages([
                'password' => 'A password has at most '
                    .KeeperPassword::MOST_BYTES
                    .' characters. If yours was set longer before, type its first '
                    .KeeperPassword::MOST_BYTES
                    .'.',
            ]);
        }
        $tries = new Tries([
            "sign-in|{$email}|{$this->ip()}" => self::TRIES['account'],
            "sign-in|{$this->ip()}" => self::TRIES['network'],
        ]);
        $tries->count('email');
        $keeper = User::query()->where('email', $email)->first();
        if ($keeper === null) {
            // Takes as long as the check of a password, so that the time does not tell whether there is such an
            // account.
            Hash::make($password);
        }
        if ($keeper === null || ! Hash::check($password, $keeper->password)) {
            throw ValidationException::withMessages([
                'email' => 'No account has this e-mail address and password together.',
            ]);
        }
        $tries->forgive();
        Auth::login($keeper, $this->boolean('remember'));
        $this->session()->regenerate();
    }
}
