<?php

declare(strict_types=1);

namespace Tests\Feature;

use BackedEnum;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use PHPUnit\Framework\Attributes\TestWith;
use ReflectionClass;
use ReflectionMethod;
use ReflectionNamedType;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** What comes as a list where a form has one text, or as a text where it has a list, is refused in words or passed over: in every field of every form there is. */
final class ListForTextTest extends TestCase
{
    use RefreshDatabase;
    use RichEvent;

    #[TestWith([['x']])]
    #[TestWith([[['x' => ['y']]]])]
    #[TestWith(['x'])]
    public function testNoFieldBringsAFormDown(mixed $sent): void
    {
        $user = $this->member();
        $records = array_map(static fn(mixed $named): mixed => $named instanceof Model ? $named->getKey() : $named, $this->richEvent($user));
        $this->actingAs($user);
        $forms = 0;
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            $fields = self::fieldsOf($route);
            if ($fields === []) {
                continue;
            }
            // What one form does is not there for the next.
            DB::beginTransaction();
            $answer = $this->call($route->methods()[0], self::addressOf($route, $records), array_fill_keys($fields, $sent), server: ['HTTP_ACCEPT' => 'application/json']);
            DB::rollBack();
            self::assertLessThan(500, $answer->getStatusCode(), "{$route->methods()[0]} {$route->uri()}");
            ++$forms;
        }
        self::assertGreaterThan(80, $forms);
    }

    /** @param array<string, mixed> $records */
    private static function addressOf(Route $route, array $records): string
    {
        return (string) preg_replace_callback('/\{(\w+)\}/', static function (array $name) use ($records): string {
            $named = $records[$name[1]] ?? 1;

            return $named instanceof BackedEnum ? (string) $named->value : (is_scalar($named) ? (string) $named : '');
        }, $route->uri());
    }

    /** @return list<string> whatever word of its request may be the name of a field */
    private static function fieldsOf(Route $route): array
    {
        if (!str_contains($route->getActionName(), 'App\\')) {
            return [];
        }
        [$class, $method] = explode('@', $route->getActionName()) + [1 => '__invoke'];
        $fields = [];
        foreach ((new ReflectionMethod($class, $method))->getParameters() as $parameter) {
            $type = $parameter->getType();
            $request = $type instanceof ReflectionNamedType && is_subclass_of($type->getName(), FormRequest::class) ? new ReflectionClass($type->getName()) : false;
            for (; $request !== false && $request->getName() !== FormRequest::class; $request = $request->getParentClass()) {
                foreach ([$request, ...$request->getTraits()] as $part) {
                    preg_match_all("/'([a-z][a-z0-9_]*)'/", (string) file_get_contents((string) $part->getFileName()), $found);
                    array_push($fields, ...$found[1]);
                }
            }
        }

        return array_values(array_unique($fields));
    }
}
