<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\ContractRequest;

final class SignInRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'sign-in';
    }
}
