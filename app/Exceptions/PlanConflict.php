<?php

declare(strict_types=1);

namespace App\Exceptions;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RuntimeException;

/** Somebody else changed the plan after this page was made. What was typed stays in the form. */
final class PlanConflict extends RuntimeException
{
    public function render(Request $request): Response|RedirectResponse
    {
        $words = __('Somebody changed the plan meanwhile. Reload the page to see it; what you typed here is not kept yet.');

        return $request->ajax() ? response($words, 409) : back()->withInput($request->except('file'))->withErrors(['from' => $words]);
    }
}
